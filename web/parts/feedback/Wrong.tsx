/** What keeps it from being saved, in a sentence; nothing while nothing does. */
export const Wrong = ({ children }: { readonly children: string | undefined }) =>
  children === undefined ? null : (
    <p role="alert" className="text-brick-text">
      {children}
    </p>
  )
