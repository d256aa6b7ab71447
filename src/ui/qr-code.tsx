import QRCode from "qrcode";
import { QR_MOST } from "@/core/exchange/share";

/** Blank rim, in modules: ISO/IEC 18004 asks for four. */
const RIM = 4;

/** A QR code (ISO/IEC 18004, level L) drawn in black on white, whatever the theme. Nothing where the text is too long. */
export function QrCode({ text, label, className = "" }: { text: string; label: string; className?: string }) {
  if (text.length > QR_MOST) return null;
  const { modules } = QRCode.create(text, { errorCorrectionLevel: "L" });
  const size = modules.size + 2 * RIM;
  const path = Array.from(modules.data, (dark, i) =>
    dark ? `M${(i % modules.size) + RIM} ${Math.floor(i / modules.size) + RIM}h1v1h-1z` : "",
  ).join("");
  return (
    <svg
      role="img"
      aria-label={label}
      viewBox={`0 0 ${size} ${size}`}
      className={className}
      shapeRendering="crispEdges"
    >
      <rect width={size} height={size} fill="#fff" />
      <path d={path} fill="#000" />
    </svg>
  );
}
