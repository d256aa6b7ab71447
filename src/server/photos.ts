import { randomUUID } from "node:crypto";
import { and, asc, count, eq } from "drizzle-orm";
import sharp from "sharp";
import type { PhotoView } from "@/contracts/work";
import { announce } from "./changes";
import { type Db, writing } from "./database";
import { notFound, Refusal } from "./problem";
import { batches, photos } from "./schema";
import * as words from "@/words/server/photos";
import { firstOf } from "@/core/sequence";

export const PHOTO_LIMIT_BYTES = 12 * 1024 * 1024;
const MOST_PIXELS = 50_000_000;
const LONGEST_SIDE_PX = 1600;
// One is drawn at a time, by itself: thirty photos would take every core from those who only look.
sharp.concurrency(1);
const JPEG_QUALITY = 80;
const MOST_A_BATCH = 6;
/** Drawings that carry scripts or fetch things are not read. */
const READ = ["jpeg", "png", "webp"];

/**
 * Keeps a picture of a batch. It is drawn anew as a JPEG of at most 1600 px: no place, camera or hidden content of the
 * file that came in is kept.
 * @throws Refusal 404, 413 when too large, 415 when it is no picture, 422 when the batch has enough of them
 */
export async function keepPhoto(db: Db, batchId: string, file: Buffer, nowMs: number): Promise<PhotoView> {
  if (!db.select({ id: batches.id }).from(batches).where(eq(batches.id, batchId)).get())
    throw notFound("batch");
  // Before it is drawn, which takes long; and again after, for others may have come meanwhile.
  checkRoom(db, batchId);
  const drawn = await redrawn(file);
  const kept = writing(db, (tx) => {
    checkRoom(tx, batchId);
    const row = { id: randomUUID(), batchId, ...drawn, takenAtMs: nowMs };
    tx.insert(photos).values(row).run();
    return row;
  });
  announce(batchId);
  return { id: kept.id, width: kept.width, height: kept.height, takenAtMs: nowMs };
}

function checkRoom(db: Db, batchId: string): void {
  const { n } = firstOf(db.select({ n: count() }).from(photos).where(eq(photos.batchId, batchId)).all());
  if (n >= MOST_A_BATCH)
    throw new Refusal(422, words.enoughPhotos, words.aBatchKeepsPhotosTake(MOST_A_BATCH));
}

async function redrawn(file: Buffer) {
  try {
    const picture = sharp(file, { limitInputPixels: MOST_PIXELS, failOn: "error" });
    if (!READ.includes((await picture.metadata()).format ?? "")) throw new Error("another kind of file");
    const { data, info } = await picture
      .rotate()
      .resize({ width: LONGEST_SIDE_PX, height: LONGEST_SIDE_PX, fit: "inside", withoutEnlargement: true })
      .jpeg({ quality: JPEG_QUALITY })
      .toBuffer({ resolveWithObject: true });
    return { jpeg: data, width: info.width, height: info.height };
  } catch {
    throw new Refusal(415, words.notAPhoto, words.thatFileDoesNotRead);
  }
}

export const listPhotos = (db: Db, batchId: string): PhotoView[] =>
  db
    .select({ id: photos.id, width: photos.width, height: photos.height, takenAtMs: photos.takenAtMs })
    .from(photos)
    .where(eq(photos.batchId, batchId))
    .orderBy(asc(photos.takenAtMs))
    .all();

const oneOf = (batchId: string, photoId: string) => and(eq(photos.batchId, batchId), eq(photos.id, photoId));

export function loadPhoto(db: Db, batchId: string, photoId: string): Buffer {
  const row = db.select({ jpeg: photos.jpeg }).from(photos).where(oneOf(batchId, photoId)).get();
  if (!row) throw notFound("photo");
  return row.jpeg;
}

export function removePhoto(db: Db, batchId: string, photoId: string): void {
  db.delete(photos).where(oneOf(batchId, photoId)).run();
  announce(batchId);
}
