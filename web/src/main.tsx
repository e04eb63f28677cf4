import "@fontsource-variable/fraunces/wght.css";
import "@fontsource/source-sans-3/latin-400.css";
import "@fontsource/source-sans-3/latin-600.css";
import "./theme/tokens.css";
import "./theme/base.css";
import "./theme/pieces.css";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { App as AntApp, ConfigProvider } from "antd";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { BrowserRouter } from "react-router";
import { Refused } from "./api/client";
import { House } from "./House";
import { theme } from "./theme/antd";

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      // Silence passes; a refusal does not change by asking again.
      retry: (count, error) => error instanceof Refused && error.isSilence && count < 60,
      retryDelay: 2000,
      refetchOnWindowFocus: true,
    },
  },
});
const nonce = document.querySelector('meta[name="csp-nonce"]')?.getAttribute("content") ?? undefined;
const root = document.getElementById("root");
if (root) {
  createRoot(root).render(
    <StrictMode>
      <ConfigProvider theme={theme} csp={nonce ? { nonce } : undefined} button={{ autoInsertSpace: false }}>
        <AntApp>
          <QueryClientProvider client={queries}>
            <BrowserRouter>
              <House />
            </BrowserRouter>
          </QueryClientProvider>
        </AntApp>
      </ConfigProvider>
    </StrictMode>,
  );
}
