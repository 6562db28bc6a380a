import { QueryClient } from "@tanstack/react-query";
import { isNoAnswer } from "../../api/client";
import { StoreTrouble } from "./storeTrouble";
import { keyHash } from "./keyHash";

const pause = 1500;

/** All answers of the server; what is not answered at all is asked again until it is, and what was shown stays meanwhile. */
export const queries = new QueryClient({
  defaultOptions: {
    queries: {
      queryKeyHashFn: keyHash,
      networkMode: "always", // also where the browser believes itself offline: the server may be this very machine
      refetchOnWindowFocus: false,
      retry: (failures, error) => isNoAnswer(error) || error instanceof StoreTrouble || failures < 2,
      retryDelay: pause,
    },
  },
});
