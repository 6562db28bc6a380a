import type { ThemeConfig } from "antd";

/** Calico, graphite, tape yellow, thread red and a grey-green: the workroom's own colours. */
export const colours = {
  calico: "#f3ecdf",
  paper: "#fcf9f2",
  paperEdge: "#d9cdb6",
  graphite: "#22303a",
  pencil: "#544f45",
  tape: "#f2bd3c",
  tapePale: "#fdf1cf",
  thread: "#b23620",
  threadPale: "#f6ddd4",
  sage: "#3f5f4b",
  sagePale: "#d5e1d7",
} as const;

export const fonts = {
  work: '"Atkinson Hyperlegible Next Variable", system-ui, sans-serif',
  heading: '"Bricolage Grotesque Variable", "Atkinson Hyperlegible Next Variable", sans-serif',
} as const;

export const theme: ThemeConfig = {
  token: {
    colorPrimary: colours.graphite,
    colorInfo: colours.graphite,
    colorSuccess: colours.sage,
    colorWarning: "#8a5a00",
    colorError: colours.thread,
    colorLink: colours.graphite,
    colorText: colours.graphite,
    colorTextSecondary: colours.pencil,
    colorTextPlaceholder: "#6f695d",
    colorBgBase: colours.paper,
    colorBgContainer: "#fffdf8",
    colorBgElevated: "#fffdf8",
    colorBgSpotlight: colours.graphite,
    colorBgLayout: colours.calico,
    colorTextDisabled: "#6f695d",
    colorBorder: "#b9ab90",
    colorBorderSecondary: colours.paperEdge,
    fontFamily: fonts.work,
    fontSize: 15,
    borderRadius: 3,
    controlHeight: 34,
    controlOutline: "rgba(242, 189, 60, 0.55)",
    controlOutlineWidth: 3,
    boxShadow: "none",
    motionDurationMid: "0.1s",
    motionDurationSlow: "0.15s",
  },
  components: {
    Segmented: { itemSelectedBg: colours.tapePale, trackBg: "#ece3d2", itemSelectedColor: colours.graphite },
    Select: {
      optionSelectedBg: colours.tapePale,
      optionSelectedColor: colours.graphite,
      optionActiveBg: "#ece3d2",
    },
    Button: {
      primaryShadow: "none",
      defaultShadow: "none",
      contentFontSize: 13,
      controlHeight: 32,
      paddingInline: 10,
      defaultBg: colours.paper,
      defaultHoverBg: colours.paper,
      defaultHoverColor: colours.graphite,
      defaultHoverBorderColor: colours.graphite,
      defaultActiveColor: colours.graphite,
    },
  },
};
