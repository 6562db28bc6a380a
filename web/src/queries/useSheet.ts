import { coverFrom } from "../model/cover";
import type { Cover } from "../model/cover";
import { showFault } from "./faults";
import { setAside } from "./setAside";
import { useCallback, useEffect, useRef, useState } from "react";
import { api, isNoAnswer, type Catalogue, type Unit } from "../api/client";
import {
  entriesOf,
  filledOn,
  keep,
  sent,
  storedOn,
  waiting,
  written,
  type Filled,
} from "../model/sheetStore";

export interface Sheet {
  name: string;
  place: string;
  unit: Unit;
  catalogue: Catalogue;
  covers: { id: string; cover: Cover }[];
}

const pause = 700;
const retry = 4000;
const seenKey = (token: string) => `wrapper.sheet.${token}.seen`;

/** A measuring sheet on a phone: opened once, kept on the phone, sent when there is a connection. */
export function useSheet(token: string) {
  const [sheet, setSheet] = useState<Sheet | null>(null);
  const [filled, setFilled] = useState<Filled>(() => keptOn(token));
  const [state, setState] = useState<"opening" | "sent" | "sending" | "offline" | "closed">("opening");
  const now = useRef(filled);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const put = useCallback(
    (next: Filled) => {
      now.current = next;
      keep(token, next);
      setFilled(next);
    },
    [token],
  );

  const sending = useRef(false);
  const again = useRef<() => void>(() => undefined);
  const send = useCallback(async () => {
    clearTimeout(timer.current);
    if (sending.current) {
      return;
    }

    sending.current = true;
    try {
      for (const [cover, fields] of Object.entries(now.current)) {
        if (Object.keys(fields).length === 0) {
          continue;
        }

        setState("sending");
        const { data, response } = await api.PUT("/api/sheets/{token}/covers/{coverId}", {
          params: { path: { token, coverId: cover } },
          body: entriesOf(fields),
        });
        if (!data) {
          setState(response.status === 404 ? "closed" : "offline");
          timer.current = response.status === 404 ? undefined : setTimeout(() => again.current(), retry);
          return;
        }

        put(sent(now.current, cover, fields));
        setSheet(
          (before) =>
            before && {
              ...before,
              covers: before.covers.map((known) =>
                known.id === cover ? { id: cover, cover: coverFrom(data.cover) } : known,
              ),
            },
        );
      }

      setState(waiting(now.current) === 0 ? "sent" : "sending");
      if (waiting(now.current) > 0) {
        timer.current = setTimeout(() => again.current(), pause);
      }
    } catch (error) {
      setState("offline");
      if (isNoAnswer(error)) {
        timer.current = setTimeout(() => again.current(), retry);
      } else {
        showFault(error);
      }
    } finally {
      sending.current = false;
    }
  }, [put, token]);
  useEffect(() => {
    again.current = () => void send();
  }, [send]);

  useEffect(() => {
    const open = async () => {
      try {
        const { data, response } = await api.GET("/api/sheets/{token}", { params: { path: { token } } });
        if (data) {
          const opened = {
            ...data,
            unit: data.unit as Unit,
            covers: data.covers.map((known) => ({ id: known.id, cover: coverFrom(known.cover) })),
          };
          localStorage.setItem(seenKey(token), JSON.stringify(opened));
          setSheet(opened);
          void send();
        } else {
          setSheet(seen(token));
          setState(response.status === 404 ? "closed" : "offline");
        }
      } catch (error) {
        setSheet(seen(token));
        setState("offline");
        if (isNoAnswer(error)) {
          timer.current = setTimeout(() => void open(), retry);
        } else {
          showFault(error);
        }
      }
    };
    void open();
    const online = () => void (seen(token) ? send() : open());
    window.addEventListener("online", online);
    return () => {
      window.removeEventListener("online", online);
      clearTimeout(timer.current);
    };
  }, [token, send]);

  const write = (cover: string, name: string, before: string, text: string) => {
    put(written(now.current, cover, name, before, text));
    setState((known) => (known === "closed" ? known : "sending"));
    clearTimeout(timer.current);
    timer.current = setTimeout(() => void send(), pause);
  };
  return { sheet, filled, state, write, waiting: waiting(filled) };
}

/** What this phone holds of a sheet; what of it cannot be read is set aside in sight. */
function keptOn(token: string): Filled {
  const filled = filledOn(token);
  if (filled === null) {
    setAside(`sheet/${token}`, storedOn(token) ?? "", "Measures filled in on this phone cannot be read.");
    keep(token, {});
  }

  return filled ?? {};
}

function seen(token: string): Sheet | null {
  try {
    return JSON.parse(localStorage.getItem(seenKey(token)) ?? "null") as Sheet | null;
  } catch {
    return null;
  }
}
