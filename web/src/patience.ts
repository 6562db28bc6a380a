import { configure } from "@testing-library/react";

/** How long a test waits for what is to appear: not a second, which a busy machine may take to draw at all. */
configure({ asyncUtilTimeout: 60_000 });
