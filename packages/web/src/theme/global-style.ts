/**
 * The look: a drawing office by the water. Wet stone for the page, blue-black ink, marking-out blue as the
 * one strong accent; ochre stands for steel that goes. Light for the counter, dark for the bench.
 */
import { createGlobalStyle } from 'styled-components';

export const GlobalStyle = createGlobalStyle`
  :root {
    color-scheme: light;
    --page: #e4eaea;
    --sheet: #f5f8f7;
    --ink: #10222a;
    --ink-soft: #44565d;
    --line: #a9b9bd;
    --line-soft: #cfdadb;
    --steel: #c3d0d4;
    --steel-deep: #6d8189;
    --accent: #1d43cf;
    --accent-soft: #dbe3fb;
    --accent-ink: #ffffff;
    --cut: #a63c12;
    --cut-soft: #f3dccf;
    --good: #14603f;
    --heading: 'Bricolage Grotesque Variable', sans-serif;
    --text: 'Atkinson Hyperlegible Next Variable', sans-serif;
    --figures: 'Atkinson Hyperlegible Mono Variable', monospace;
  }
  :root[data-theme='dark'] {
    color-scheme: dark;
    --page: #0c191e;
    --sheet: #13242a;
    --ink: #e8f0f1;
    --ink-soft: #a9bbc1;
    --line: #48606a;
    --line-soft: #263b43;
    --steel: #4f656e;
    --steel-deep: #9db1b8;
    --accent: #93aeff;
    --accent-soft: #1f3263;
    --accent-ink: #081234;
    --cut: #ff9b6c;
    --cut-soft: #4a2817;
    --good: #74d6a6;
  }
  *, *::before, *::after { box-sizing: border-box; }
  html { background: var(--page); }
  body {
    margin: 0;
    color: var(--ink);
    background: var(--page);
    font-family: var(--text);
    font-size: 16px;
    line-height: 1.4;
    -webkit-font-smoothing: antialiased;
  }
  :root[data-full-screen] #root { height: 100dvh; display: flex; flex-direction: column; }
  h1, h2, h3 { font-family: var(--heading); line-height: 1.15; margin: 0; font-weight: 640; letter-spacing: -0.012em; }
  h1 { font-size: 30px; }
  h2 { font-size: 20px; }
  h3 { font-size: 16px; }
  p { margin: 0; }
  ul, ol { margin: 0; padding: 0; list-style: none; }
  a { color: var(--accent); text-underline-offset: 3px; }
  :focus-visible { outline: 3px solid var(--accent); outline-offset: 2px; }
  table { border-collapse: collapse; width: 100%; }
  th, td { text-align: left; padding: 7px 10px 7px 0; border-bottom: 1px solid var(--line-soft); vertical-align: top; }
  th { font-weight: 600; color: var(--ink-soft); font-size: 14px; }
  .unseen { position: absolute; width: 1px; height: 1px; overflow: hidden; clip-path: inset(50%); white-space: nowrap; }
  @media print {
    :root, :root[data-theme='dark'] { --page: #fff; --sheet: #fff; --ink: #000; --ink-soft: #333; --line: #777; --line-soft: #bbb; --steel: #ddd; --steel-deep: #555; --accent: #000; --accent-soft: #eee; --cut: #000; --good: #000; }
    .no-print { display: none !important; }
  }
`;
