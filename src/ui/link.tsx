// oxlint-disable-next-line no-restricted-imports -- its one place
import NextLink from "next/link";
import type { ComponentProps } from "react";

/**
 * A link that is asked for when it is tapped. Every page is drawn for who asks, when asked: fetched beforehand there is its
 * outline alone, at two requests a link in sight, and a tap waits as long with it as without.
 */
export const Link = (props: ComponentProps<typeof NextLink>) => <NextLink prefetch={false} {...props} />;
