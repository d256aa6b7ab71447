import { useMemo } from "react";
import { useOwnEntry } from "@/ui/own-entry/use-own-entry";
import { usePickLists } from "@/ui/pick-lists";
import { Picker, type Pickable } from "@/ui/picker";
import type { ConfirmedLine, LineChoice } from "./use-confirming";
import * as words from "@/words/recipe/thing-picker";

const OUT = "out";

/**
 * What a line may stand for: the likely ones first, then everything there is, or nothing. What the tables lack is entered
 * on the spot, begun from what it is likest.
 */
export function ThingPicker(props: { item: ConfirmedLine; change: (edit: Partial<LineChoice>) => void }) {
  const { item, change } = props;
  const { line, choice, chosen } = item;
  const lists = usePickLists();
  const items = useMemo((): Pickable[] => {
    const likely = line.candidates
      .filter((c) => c.kind !== "food")
      .map((c) => ({ id: keyOf(c.kind, c.id), name: c.name, group: words.likely }));
    const all = [
      ...lists.salts.map((s) => ({ ...s, id: keyOf("salt", s.id) })),
      // Plain salts stand among the ingredients too; here each is named once.
      ...lists.ingredients
        .filter((i) => !lists.salts.some((s) => s.id === i.id))
        .map((i) => ({ ...i, id: keyOf("ingredient", i.id) })),
    ];
    return [
      ...likely,
      { id: OUT, name: words.leaveItOut, group: words.or },
      ...all.filter((a) => !likely.some((l) => l.id === a.id)),
    ];
  }, [line.candidates, lists]);
  const pick = (key: string) => {
    if (key === OUT) return change({ out: true, confirmed: false });
    const [kind, ...rest] = key.split("/");
    const id = rest.join("/");
    const name = items.find((i) => i.id === key)?.name ?? id;
    change({
      out: false,
      chosen: { kind: kind === "salt" ? "salt" : "ingredient", id, name, score: 1 },
      grams: undefined,
      confirmed: false,
    });
  };
  const own = useOwnEntry("ingredient", (id) => pick(keyOf("ingredient", id)));
  const near = line.candidates.find((c) => c.kind === "ingredient")?.id;
  const taken = chosen && chosen.kind !== "food" ? keyOf(chosen.kind, chosen.id) : undefined;
  return (
    <>
      <Picker
        look="row"
        label={words.is(line.text)}
        items={items}
        chosenId={choice.out ? OUT : taken}
        onPick={pick}
        onAdd={(typed) => own.ask(typed || line.name, near)}
        placeholder={words.notUnderstoodChoose}
      />
      {own.dialog}
    </>
  );
}

const keyOf = (kind: string, id: string): string => `${kind}/${id}`;
