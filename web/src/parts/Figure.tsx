/** A number as the hero: label above, figure large, unit and the rest quieter. */
export function Figure({
  label,
  main,
  unit,
  note,
}: {
  label: string;
  main: string;
  unit?: string | undefined;
  note?: string | undefined;
}) {
  return (
    <div className="figure">
      <p className="figure-label">{label}</p>
      <p className="figure-main">
        {main}
        {unit && <span>{unit}</span>}
      </p>
      {note && <p className="figure-note">{note}</p>}
    </div>
  );
}
