/** What Stryker loads in each of its processes: they know no TypeScript until they are told. */
import { register } from "tsx/esm/api";

register();

export const { strykerPlugins } = await import("./runner.mts");
