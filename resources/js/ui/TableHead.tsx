type Column = string | readonly [name: string, className: string];

/** The names of a table's columns, each with what its cell needs to line up with those below it. */
export function TableHead({ columns }: { columns: readonly Column[] }) {
  return (
    <thead>
      <tr className="border-b border-line align-bottom text-sm">
        {columns.map((column, i) => {
          const [name, className] = typeof column === 'string' ? [column, ''] : column;
          return (
            <th key={i} className={`py-1.5 ${className}`}>
              {name}
            </th>
          );
        })}
      </tr>
    </thead>
  );
}
