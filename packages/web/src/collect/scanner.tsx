/** The camera, looking for a code. It wants HTTPS or localhost; typing a tag always works. */
import jsQR from 'jsqr';
import { useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { STRINGS } from './strings';

const Video = styled.video`
  width: 100%;
  max-width: 420px;
  aspect-ratio: 4 / 3;
  object-fit: cover;
  background: var(--ink);
`;

/** So often a picture is looked at, ms; a code found twice in a row is one code. */
const LOOK_EVERY_MS = 150;
/** Wide enough for a code held at arm's length. */
const LOOKED_AT_PX = 640;

const whyNot = (error: unknown): string =>
  error instanceof DOMException && error.name === 'NotAllowedError'
    ? STRINGS.theCameraMayNotBeUsed
    : STRINGS.noCameraCanBeUsedHere;

export const Scanner = ({ onCode }: { onCode: (text: string) => void }) => {
  const video = useRef<HTMLVideoElement>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const told = useRef(onCode);
  useEffect(() => {
    told.current = onCode;
  }, [onCode]);
  useEffect(() => {
    let ended = false;
    let last = '';
    let stream: MediaStream | null = null;
    const canvas = document.createElement('canvas');
    const look = (): void => {
      const seen = video.current;
      if (!seen || seen.videoWidth === 0) return;
      const scale = Math.min(1, LOOKED_AT_PX / seen.videoWidth);
      canvas.width = Math.round(seen.videoWidth * scale);
      canvas.height = Math.round(seen.videoHeight * scale);
      const context = canvas.getContext('2d', { willReadFrequently: true });
      if (!context) return;
      context.drawImage(seen, 0, 0, canvas.width, canvas.height);
      const { data, width, height } = context.getImageData(0, 0, canvas.width, canvas.height);
      const text = jsQR(data, width, height)?.data ?? '';
      if (text !== '' && text !== last) told.current(text);
      last = text;
    };
    const timer = setInterval(look, LOOK_EVERY_MS);
    const begin = async (): Promise<void> => {
      try {
        // Absent where the page is reached neither by HTTPS nor on this machine.
        const devices = navigator.mediaDevices as MediaDevices | undefined;
        if (!devices) throw new Error('no camera here');
        stream = await devices.getUserMedia({ video: { facingMode: 'environment' } });
        if (ended) stream.getTracks().forEach((track) => track.stop());
        else if (video.current) video.current.srcObject = stream;
      } catch (error) {
        if (!ended) setProblem(whyNot(error));
      }
    };
    void begin();
    return () => {
      ended = true;
      clearInterval(timer);
      stream?.getTracks().forEach((track) => track.stop());
    };
  }, []);
  if (problem !== null) return <Notice tone="cut">{problem}</Notice>;
  return (
    <Stack $gap={6}>
      <Video ref={video} autoPlay muted playsInline aria-label={STRINGS.whatTheCameraSees} />
      <MutedText>{STRINGS.holdTheCodeOfATag}</MutedText>
    </Stack>
  );
};

export default Scanner;
