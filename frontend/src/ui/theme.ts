import { theme } from 'ant-design-vue';
import type { ThemeConfig } from 'ant-design-vue/es/config-provider/context';

const SHARED = {
    fontFamily: "'Atkinson Hyperlegible', system-ui, sans-serif",
    fontSize: 16,
    fontSizeSM: 14,
    borderRadius: 2,
    borderRadiusLG: 2,
    borderRadiusSM: 2,
    borderRadiusXS: 2,
    wireframe: false,
    controlHeight: 38,
    controlHeightSM: 30,
    motionDurationMid: '0.1s',
    motionDurationSlow: '0.14s',
};

const LIGHT = {
    colorPrimary: '#0b6b78',
    colorInfo: '#0b6b78',
    colorLink: '#0b6b78',
    colorSuccess: '#0b6b78',
    colorWarning: '#a94a00',
    colorError: '#8c2f39',
    colorBgBase: '#fbf8f1',
    colorBgElevated: '#fbf8f1',
    colorBgLayout: '#f3ece0',
    colorTextBase: '#2b251f',
    colorTextDescription: '#6a5f52',
    colorTextPlaceholder: '#6a5f52',
    colorBorder: '#a8987e',
    colorBorderSecondary: '#d8cbb5',
    colorSplit: '#d8cbb5',
    colorTextLightSolid: '#ffffff',
    controlItemBgActive: '#cfe6e6',
    boxShadow: '0 1px 2px rgb(43 37 31 / 12%), 0 6px 18px rgb(43 37 31 / 8%)',
};

const DARK: typeof LIGHT = {
    colorPrimary: '#5cc8d2',
    colorInfo: '#5cc8d2',
    colorLink: '#5cc8d2',
    colorSuccess: '#5cc8d2',
    colorWarning: '#f2a65a',
    colorError: '#f2a3a3',
    colorBgBase: '#2a2520',
    colorBgElevated: '#2a2520',
    colorBgLayout: '#1f1b17',
    colorTextBase: '#f1e9dc',
    colorTextDescription: '#b9ac9a',
    colorTextPlaceholder: '#b9ac9a',
    colorBorder: '#6b5f52',
    colorBorderSecondary: '#4a4138',
    colorSplit: '#4a4138',
    colorTextLightSolid: '#12211f',
    controlItemBgActive: '#173e43',
    boxShadow: '0 1px 2px rgb(0 0 0 / 40%), 0 6px 18px rgb(0 0 0 / 30%)',
};

/** The control set in the colours of the material; the same values stand in tokens.css. */
export function antdTheme(dark: boolean): ThemeConfig {
    return { algorithm: dark ? theme.darkAlgorithm : theme.defaultAlgorithm, token: { ...SHARED, ...(dark ? DARK : LIGHT) } };
}
