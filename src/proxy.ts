import { NextResponse, type NextRequest } from "next/server";
import { KITCHEN_TIME } from "@/contracts/live";
import { admit } from "@/server/door/admit";
import { problemResponse } from "@/server/http";
import { Refusal } from "@/server/problem";

/**
 * Stands before every page and route: who comes in, and what a page may load. Uploads of files pass it by, because a
 * proxy would hold their whole body in memory; they ask `admit` themselves.
 */
export async function proxy(request: NextRequest): Promise<Response> {
  const policy = contentPolicy(crypto.randomUUID());
  try {
    await admit(request);
  } catch (error) {
    if (!(error instanceof Refusal)) throw error;
    const { pathname, search } = request.nextUrl;
    if (error.status === 401 && !pathname.startsWith("/api/")) {
      const enter = new URL("/enter", request.url);
      enter.searchParams.set("next", pathname + search);
      return NextResponse.redirect(enter);
    }
    return problemResponse(error);
  }
  const headers = new Headers(request.headers);
  // Next reads the nonce from here and puts it on its own scripts.
  headers.set("content-security-policy", policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set("content-security-policy", policy);
  response.headers.set(KITCHEN_TIME, String(Date.now()));
  // Behind TLS it stays behind TLS: a year, by the words of the proxy before it.
  if (request.headers.get("x-forwarded-proto")?.startsWith("https"))
    response.headers.set("strict-transport-security", "max-age=31536000");
  return response;
}

/** Only scripts of this very page run; style attributes are let through for the drawings. */
function contentPolicy(nonce: string): string {
  const dev = process.env.NODE_ENV === "development";
  return [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${dev ? " 'unsafe-eval'" : ""}`,
    `style-src 'self' ${dev ? "'unsafe-inline'" : `'nonce-${nonce}'`}`,
    "style-src-attr 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self' blob:",
    "manifest-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join("; ");
}

export const config = {
  matcher: [
    "/((?!_next/static/|icon\\.svg$|icons/|manifest\\.webmanifest$|sw\\.js$|offline\\.html$|api/restore$|api/archive$|api/v1/archive$|api/batches/[^/]+/photos$|api/batches/[^/]+/csv$|api/v1/batches/[^/]+/readings\\.csv$).*)",
  ],
};
