import type { ThemeConfig } from "antd";
import { tokens } from "./tokens";

/** Ant Design in the house's cloth: flat, square-shouldered, inked rather than shadowed. */
export const theme: ThemeConfig = {
  token: {
    colorPrimary: tokens.chalk,
    colorInfo: tokens.chalk,
    colorError: tokens.thread,
    colorWarning: tokens.mind,
    colorSuccess: tokens.pinGreen,
    colorText: tokens.ink,
    colorTextSecondary: tokens.inkSoft,
    colorTextPlaceholder: tokens.hint,
    colorBgBase: tokens.clothRaised,
    colorBgLayout: tokens.cloth,
    colorBgContainer: tokens.field,
    colorBorder: tokens.line,
    colorBorderSecondary: tokens.seam,
    fontFamily: tokens.text,
    fontSize: 15,
    borderRadius: 3,
    controlHeight: 36,
    boxShadow: "0 1px 0 rgba(39,36,32,.14)",
    boxShadowSecondary: "0 2px 10px rgba(39,36,32,.18)",
    motionDurationMid: "0.12s",
    motionDurationSlow: "0.16s",
  },
  components: {
    Button: { primaryShadow: "none", defaultShadow: "none", fontWeight: 600 },
    Segmented: {
      trackBg: tokens.clothDeep,
      itemSelectedBg: tokens.ink,
      itemSelectedColor: tokens.clothRaised,
      itemColor: tokens.ink,
    },
    Modal: { titleFontSize: 21 },
  },
};
