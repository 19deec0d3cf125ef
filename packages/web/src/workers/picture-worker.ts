/** Reads what a picture shows, away from the page. */
import {
  cropped,
  glintsAlong,
  scratchEvenness,
  type GreyPicture,
  type PicturePoint,
} from '@patient-edge/core';
import { expose } from 'comlink';

const api = {
  glints: (picture: GreyPicture, line: readonly PicturePoint[], edgeLengthMm: number) =>
    glintsAlong(picture, line, edgeLengthMm),
  /** Between two corners, or all of it. */
  scratches: (picture: GreyPicture, [a, b]: readonly PicturePoint[]) =>
    scratchEvenness(a && b ? cropped(picture, a, b) : picture),
};
export type PictureWorker = typeof api;

expose(api);
