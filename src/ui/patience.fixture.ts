import { configure } from "@testing-library/react";

/* A guard against hanging only: what a test waits for may be fetched first, and a busy machine takes seconds for that. */
configure({ asyncUtilTimeout: 60_000 });
