type Column = string | readonly [name: string, className: string];

/** The names of a table's columns, each with what its cell needs to line up with those below it; tight above fields to type into. */
export function TableHead({ columns, tight = false }: { columns: readonly Column[]; tight?: boolean }) {
  return (
    <thead>
      <tr className={tight ? 'text-sm' : 'border-b border-line align-bottom text-sm'}>
        {columns.map((column, i) => {
          const [name, className] = typeof column === 'string' ? [column, ''] : column;
          return (
            <th key={i} className={`${tight ? '' : 'py-1.5'} ${className}`}>
              {name}
            </th>
          );
        })}
      </tr>
    </thead>
  );
}
