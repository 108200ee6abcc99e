/** Keeps the newest value of each of some ids, as long as what it was made of is the same; forgets the id that was asked for longest ago. */
export class Remembered<Value> {
  readonly #kept = new Map<string, { readonly madeOf: string; readonly value: Value }>()

  constructor(private readonly most: number) {}

  get(id: string, madeOf: string, make: () => Value): Value {
    const known = this.#kept.get(id)
    const value = known?.madeOf === madeOf ? known.value : make()
    this.#kept.delete(id)
    this.#kept.set(id, { madeOf, value })
    for (const [oldest] of this.#kept) {
      if (this.#kept.size <= this.most) break
      this.#kept.delete(oldest)
    }
    return value
  }
}
