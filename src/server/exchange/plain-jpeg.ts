import sharp from "sharp";

const MOST_PIXELS = 50_000_000;

/** Whether a file is a JPEG that tells nothing but its picture: no place, camera or profile in it. */
export async function isPlainJpeg(bytes: Uint8Array): Promise<boolean> {
  try {
    const { format, exif, xmp, iptc } = await sharp(bytes, { limitInputPixels: MOST_PIXELS }).metadata();
    return format === "jpeg" && !exif && !xmp && !iptc;
  } catch {
    return false;
  }
}
