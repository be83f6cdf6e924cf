/** The product's mark, a rivet, and its name. */
export function Mark() {
  return (
    <span className="flex items-center gap-2 font-display text-lg font-bold">
      <img src="/mark.svg" alt="" className="size-6" />
      Ricompensa
    </span>
  )
}
