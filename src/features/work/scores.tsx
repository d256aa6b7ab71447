const SCORES = [-2, -1, 0, 1, 2];

interface Props {
  label: string;
  value: number | undefined;
  onChange: (score: number) => void;
}

/** −2 to +2, each its own tap. */
export function Scores({ label, value, onChange }: Props) {
  return SCORES.map((score) => (
    <button
      key={score}
      type="button"
      className={`btn min-h-11 w-11 px-0 ${value === score ? "btn-primary" : ""}`}
      aria-pressed={value === score}
      aria-label={`${label} ${score}`}
      onClick={() => onChange(score)}
    >
      {score > 0 ? `+${score}` : score}
    </button>
  ));
}
