/** Column heads of a small table. */
export function HeadRow({ heads }: { heads: readonly string[] }) {
  return (
    <thead>
      <tr>
        {heads.map((head) => (
          <th key={head} scope="col">
            {head}
          </th>
        ))}
      </tr>
    </thead>
  )
}
