import { theme } from 'ant-design-vue';
import type { ThemeConfig } from 'ant-design-vue/es/config-provider/context';

const shared = {
    fontFamily: "'Atkinson Hyperlegible', system-ui, sans-serif",
    fontSize: 16,
    borderRadius: 4,
    wireframe: false,
    controlHeight: 38,
};

/** The control set in the colours of the material; the same values stand in tokens.css. */
export function antdTheme(dark: boolean): ThemeConfig {
    return {
        algorithm: dark ? theme.darkAlgorithm : theme.defaultAlgorithm,
        token: {
            ...shared,
            colorPrimary: dark ? '#5cc8d2' : '#0b6b78',
            colorBgBase: dark ? '#2a2520' : '#fbf8f1',
            colorTextBase: dark ? '#f1e9dc' : '#2b251f',
            colorBorder: dark ? '#6b5f52' : '#a8987e',
            colorError: dark ? '#f2a3a3' : '#8c2f39',
            colorTextLightSolid: dark ? '#12211f' : '#ffffff',
        },
    };
}
