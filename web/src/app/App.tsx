import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { ConfigProvider } from "antd";
import { BrowserRouter, Route, Routes } from "react-router";
import { Bench } from "../bench/Bench";
import { CuttingSheet } from "../cut/CuttingSheet";
import { JobList } from "../jobs/JobList";
import { theme } from "../ui/theme";
import { Nowhere } from "./Nowhere";

const queries = new QueryClient({ defaultOptions: { queries: { refetchOnWindowFocus: false, retry: 2 } } });

export function App() {
  return (
    <ConfigProvider theme={theme} wave={{ disabled: true }}>
      <QueryClientProvider client={queries}>
        <BrowserRouter>
          <Routes>
            <Route path="/" element={<JobList />} />
            <Route path="/jobs/:id" element={<Bench />} />
            <Route path="/jobs/:id/cutting-sheet" element={<CuttingSheet />} />
            <Route path="*" element={<Nowhere />} />
          </Routes>
        </BrowserRouter>
      </QueryClientProvider>
    </ConfigProvider>
  );
}
