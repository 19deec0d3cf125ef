/** The first page of a PDF, drawn here: not every browser at the bench shows one. */
import { useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { Notice } from '../theme/notice';
import { STRINGS } from './strings';

const Paper = styled.canvas`
  max-width: 100%;
  background: #fff;
  border: 1px solid var(--line);
`;

const WIDTH_PX = 620;

interface PdfViewProps {
  readonly src: string;
  readonly label: string;
}

/** Draws the page; gives a function that stops it. */
const draw = (src: string, canvas: HTMLCanvasElement, onFail: (text: string) => void) => {
  let stop = (): void => {};
  const work = async (): Promise<void> => {
    const pdf = await import('pdfjs-dist');
    const worker = await import('pdfjs-dist/build/pdf.worker.min.mjs?url');
    pdf.GlobalWorkerOptions.workerSrc = worker.default;
    const loading = pdf.getDocument({ url: src, withCredentials: true });
    stop = () => void loading.destroy();
    const page = await (await loading.promise).getPage(1);
    const viewport = page.getViewport({ scale: WIDTH_PX / page.getViewport({ scale: 1 }).width });
    canvas.width = viewport.width;
    canvas.height = viewport.height;
    await page.render({ canvas, viewport }).promise;
  };
  let isStopped = false;
  work().catch((error: unknown) => {
    if (!isStopped) onFail(error instanceof Error ? error.message : STRINGS.itCannotBeDrawn);
  });
  return () => {
    isStopped = true;
    stop();
  };
};

export const PdfView = ({ src, label }: PdfViewProps) => {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [problem, setProblem] = useState<string | null>(null);
  useEffect(() => (canvas.current ? draw(src, canvas.current, setProblem) : undefined), [src]);
  return problem === null ? (
    <Paper ref={canvas} role="img" aria-label={label} />
  ) : (
    <Notice tone="cut">{STRINGS.theSheetCannotBeShownHere(problem)}</Notice>
  );
};
