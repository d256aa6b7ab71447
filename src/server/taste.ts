import { randomInt, randomUUID } from "node:crypto";
import { and, desc, eq, isNotNull, isNull } from "drizzle-orm";
import { tastingSchema, type StartTastingRequest, type TasteView, type TastingView } from "@/contracts/taste";
import { judgedSchema } from "@/contracts/work";
import { houseTaste, isKnown, type JudgedSalt } from "@/core/taste/house";
import { carrierOf } from "@/core/taste/samples";
import { answers, questionFor, type Tasting, type Told } from "@/core/taste/tasting";
import { whyNotTaste } from "@/core/taste/who";
import { saltAsLifted } from "./as-lifted";
import { type Db, type WholeDb, writing } from "./database";
import { loadKitchen } from "./kitchen";
import { pouredOf } from "./poured";
import { Refusal } from "./problem";
import { batches, outcomes, tastings } from "./schema";
import * as words from "@/words/server/taste";

/** Judged dinners that are looked at: taste changes with the years. */
const JUDGED_MOST = 60;

type Row = typeof tastings.$inferSelect;

const viewOf = ({ id, startedAtMs, body }: Row): TastingView => {
  const tasting = tastingSchema.parse(body);
  return {
    id,
    startedAtMs,
    tasting,
    questions: tasting.eaters.flatMap((e) => questionFor(tasting, e.id) ?? []),
  };
};

/** @throws Refusal 404 */
export function loadTasting(db: Db, id: string): TastingView {
  const row = db.select().from(tastings).where(eq(tastings.id, id)).get();
  if (!row) throw new Refusal(404, words.noSuchTasting, words.thereIsNoTasting(id));
  return viewOf(row);
}

/** What this kitchen's eaters like, and the tastings it comes from, the newest first. */
export function loadTaste(db: Db): TasteView {
  const all = db.select().from(tastings).orderBy(desc(tastings.startedAtMs)).all().map(viewOf);
  const taste = houseTaste(
    all.map((t) => t.tasting),
    judgedSalts(db),
  );
  return { taste, known: isKnown(taste), houseSalt: loadKitchen(db).houseSalt, tastings: all };
}

/** What was said of the salt of dinners: the table's word, or each eater's. */
function judgedSalts(db: Db): JudgedSalt[] {
  return (
    db
      .select({
        judgement: outcomes.body,
        id: batches.id,
        sheet: batches.sheet,
        body: batches.body,
        rateFactor: batches.rateFactor,
        startedAtMs: batches.startedAtMs,
        liftedAtMs: batches.liftedAtMs,
      })
      .from(outcomes)
      .innerJoin(batches, eq(outcomes.batchId, batches.id))
      // Nobody ate what was only rehearsed.
      .where(and(isNotNull(batches.liftedAtMs), isNull(batches.clockFromMs)))
      .orderBy(desc(outcomes.judgedAtMs))
      .limit(JUDGED_MOST)
      .all()
      .flatMap(({ judgement, ...row }) => {
        const judged = judgedSchema.parse(judgement);
        const fraction = saltAsLifted(row, pouredOf(db, row.id));
        if (!(fraction > 0)) return [];
        const said = (judged.eaters ?? []).map(({ who, salt }) => ({ fraction, salt, who }));
        // The cook's word for the table stands for the eaters', where they said nothing for themselves.
        return said.length > 0 || judged.salt === undefined ? said : [{ fraction, salt: judged.salt }];
      })
  );
}

/**
 * Begins a tasting; all that is blind in it is drawn with a seed of its own, which is kept.
 * @throws Refusal 422 where one of the eaters should not taste this
 */
export function startTasting(db: Db, request: StartTastingRequest, nowMs: number): TastingView {
  const { carrier, way, eaters, spits } = request;
  const limits = new Map(loadKitchen(db).limits.eaters.map((e) => [e.id, e]));
  for (const [i, { id, name }] of eaters.entries()) {
    const eater = limits.get(id);
    const not = eater && whyNotTaste(eater, carrierOf(carrier), way, spits);
    if (not)
      throw new Refusal(422, words.notForEveryone, words.shouldNotTasteThis(name, not.why), {
        issues: [{ path: `eaters.${i}`, message: not.why }],
      });
  }
  const id = request.id ?? randomUUID();
  const tasting: Tasting = { seed: randomInt(2 ** 31), carrier, way, eaters, answers: [] };
  db.insert(tastings).values({ id, body: tasting, startedAtMs: nowMs }).onConflictDoNothing().run();
  return loadTasting(db, id);
}

/**
 * Keeps an answer to what is asked.
 * @throws Refusal 409 where something else is asked by now: another device was quicker, or the page is old
 */
export function answerTasting(db: WholeDb, id: string, told: Told): TastingView {
  return writing(db, (tx) => {
    const { tasting, questions } = loadTasting(tx, id);
    const asked = questions.find((q) => q.eaterId === told.eaterId);
    if (!asked || !answers(asked, told))
      throw new Refusal(409, words.answeredAlready, words.somethingElseIsAskedNow);
    const body: Tasting = { ...tasting, answers: [...tasting.answers, told] };
    tx.update(tastings).set({ body }).where(eq(tastings.id, id)).run();
    return loadTasting(tx, id);
  });
}

/** Takes an eater's last answer back. */
export function takeBack(db: WholeDb, id: string, eaterId: string): TastingView {
  return writing(db, (tx) => {
    const { tasting } = loadTasting(tx, id);
    const last = tasting.answers.findLastIndex((a) => a.eaterId === eaterId);
    const body: Tasting = { ...tasting, answers: tasting.answers.filter((_, i) => i !== last) };
    tx.update(tastings).set({ body }).where(eq(tastings.id, id)).run();
    return loadTasting(tx, id);
  });
}

/** Forgets a tasting with all that was said in it. */
export function forgetTasting(db: Db, id: string): void {
  db.delete(tastings).where(eq(tastings.id, id)).run();
}
