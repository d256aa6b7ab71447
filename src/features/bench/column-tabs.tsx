import * as words from "@/words/bench/column-tabs";

export type Column = "food" | "soak" | "sheet";

/** On a phone one column at a time; on a laptop all three. */
export const onlyOn = (name: Column, shown: Column): string => (shown === name ? "flex flex-col" : "hidden");

const NAMES: { column: Column; name: string }[] = [
  { column: "food", name: words.ways },
  { column: "soak", name: words.soak },
  { column: "sheet", name: words.weighOut },
];

/** On a phone the Bench's columns stand behind each other; these bring one forward. */
export function ColumnTabs({ shown, onShow }: { shown: Column; onShow: (column: Column) => void }) {
  return (
    <div
      className="sticky top-0 z-20 flex border-b border-line bg-base-200 lg:hidden"
      role="group"
      aria-label={words.partOfTheBench}
    >
      {NAMES.map(({ column, name }) => (
        <button
          key={column}
          type="button"
          aria-pressed={shown === column}
          className={`min-h-12 flex-1 cursor-pointer border-b-4 px-1 ${shown === column ? "border-primary font-semibold" : "border-transparent text-quiet"}`}
          onClick={() => onShow(column)}
        >
          {name}
        </button>
      ))}
    </div>
  );
}
