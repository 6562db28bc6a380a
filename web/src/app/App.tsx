import { QueryClientProvider } from "@tanstack/react-query";
import { ConfigProvider } from "antd";
import { BrowserRouter, Route, Routes, useLocation } from "react-router";
import { lazy, Suspense, useEffect, type ReactNode } from "react";
import { useBench } from "../model/job/benchStore";
import { isStage } from "../model/job/stage";
import { sendUnsent } from "../queries/saving/outbox";
import { loadRules } from "../queries/saving/documentRules";
import { showFault } from "../queries/server/faults";
import { lookForAside } from "../queries/saving/setAside";
import { lookForTold } from "../queries/saving/workOutbox";
import { Bench } from "../screens/bench/Bench";
import { CuttingSheet } from "../screens/cut/CuttingSheet";
import { SewingSheet } from "../screens/cut/SewingSheet";
import { JobList } from "../screens/jobs/JobList";
import { theme } from "../ui/theme";
import { KeysSheet } from "../ui/KeysSheet";
import { TermNote } from "../ui/TermNote";
import { Away } from "../ui/trouble/Away";
import { Fault } from "../ui/trouble/Fault";
import { PanelBoundary } from "../ui/trouble/PanelBoundary";
import { SetAside } from "../ui/trouble/SetAside";
import { Nowhere } from "../ui/trouble/Nowhere";
import { queries } from "../queries/server/client";

const ClothAtHand = lazy(() =>
  import("../screens/atHand/ClothAtHand").then((page) => ({ default: page.ClothAtHand })),
);
const CutCardsOnPaper = lazy(() =>
  import("../screens/table/CutCardsOnPaper").then((page) => ({ default: page.CutCardsOnPaper })),
);
const SewingCardsOnPaper = lazy(() =>
  import("../screens/sew/SewingCardsOnPaper").then((page) => ({ default: page.SewingCardsOnPaper })),
);
const HandOverPage = lazy(() =>
  import("../screens/closing/HandOverPage").then((page) => ({ default: page.HandOverPage })),
);
const LabelsPage = lazy(() =>
  import("../screens/closing/LabelsPage").then((page) => ({ default: page.LabelsPage })),
);
const AtTable = lazy(() => import("../screens/table/AtTable").then((page) => ({ default: page.AtTable })));
const SetBoard = lazy(() => import("../screens/sew/SetBoard").then((page) => ({ default: page.SetBoard })));
const TryingOnPage = lazy(() =>
  import("../screens/fitting/TryingOnPage").then((page) => ({ default: page.TryingOnPage })),
);
const AtMachine = lazy(() =>
  import("../screens/sew/AtMachine").then((page) => ({ default: page.AtMachine })),
);
const PaperSheet = lazy(() =>
  import("../screens/sheet/PaperSheet").then((page) => ({ default: page.PaperSheet })),
);
const PhoneSheet = lazy(() =>
  import("../screens/sheet/PhoneSheet").then((page) => ({ default: page.PhoneSheet })),
);
const PracticePage = lazy(() =>
  import("../screens/practice/PracticePage").then((page) => ({ default: page.PracticePage })),
);
const FootSwitchPage = lazy(() =>
  import("../screens/foot/FootSwitchPage").then((page) => ({ default: page.FootSwitchPage })),
);
const TapePage = lazy(() => import("../screens/tape/TapePage").then((page) => ({ default: page.TapePage })));

/** The word by which the browser knows the styles this page makes for itself; the server writes another into every answer. */
const nonce = document.querySelector<HTMLMetaElement>('meta[name="style-nonce"]')?.content ?? "";

/** The job on the bench sends for itself, also while its page is only just opening. */
const onBench = () => {
  const [, jobs, id, stage] = location.pathname.split("/");
  return jobs === "jobs" && id && (!stage || isStage(stage)) ? id : useBench.getState().jobId;
};

/** A page: a fault in it leaves the way to the others open. */
function Page({ children }: { children: ReactNode }) {
  const { pathname } = useLocation();
  return (
    <PanelBoundary name="This page" of={pathname} isPage>
      {children}
    </PanelBoundary>
  );
}

export function App() {
  useEffect(() => {
    void loadRules().then(lookForTold).then(lookForAside).catch(showFault);
    return sendUnsent(onBench);
  }, []);
  return (
    <ConfigProvider theme={theme} wave={{ disabled: true }} csp={{ nonce }}>
      <QueryClientProvider client={queries}>
        <BrowserRouter>
          <Away />
          <Fault />
          <SetAside />
          <KeysSheet />
          <TermNote />
          <Suspense
            fallback={
              <main aria-busy="true" style={{ padding: 40 }}>
                One moment…
              </main>
            }
          >
            <Page>
              <Routes>
                <Route path="/" element={<JobList />} />
                <Route path="/jobs/:id/:stage?" element={<Bench />} />
                <Route path="/jobs/:id/cutting-sheet" element={<CuttingSheet />} />
                <Route path="/jobs/:id/sewing-sheet" element={<SewingSheet />} />
                <Route path="/jobs/:id/hand-over/:cover/:number" element={<HandOverPage />} />
                <Route path="/jobs/:id/labels" element={<LabelsPage />} />
                <Route path="/jobs/:id/cut-cards" element={<CutCardsOnPaper />} />
                <Route path="/jobs/:id/sewing-cards" element={<SewingCardsOnPaper />} />
                <Route path="/jobs/:id/cutting" element={<AtTable />} />
                <Route path="/jobs/:id/sewing" element={<SetBoard />} />
                <Route path="/jobs/:id/sewing/:cover/:number" element={<AtMachine />} />
                <Route path="/jobs/:id/trying-on/:cover/:number" element={<TryingOnPage />} />
                <Route path="/jobs/:id/measuring-sheet" element={<PaperSheet />} />
                <Route path="/cloth-at-hand" element={<ClothAtHand />} />
                <Route path="/practice" element={<PracticePage />} />
                <Route path="/foot-switch" element={<FootSwitchPage />} />
                <Route path="/tape" element={<TapePage />} />
                <Route path="/sheet/:token" element={<PhoneSheet />} />
                <Route path="*" element={<Nowhere />} />
              </Routes>
            </Page>
          </Suspense>
        </BrowserRouter>
      </QueryClientProvider>
    </ConfigProvider>
  );
}
