/** Behind a page's name where a form of it holds something unsaved. */
export const UnsavedMark = () => (
  <span title="Unsaved changes" className="ml-1.5 inline-block size-2 rounded-full bg-brass align-middle">
    <span className="sr-only">, unsaved changes</span>
  </span>
)
