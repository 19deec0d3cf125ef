/**
 * A label printer whose tray is a folder: each sheet sent to it comes to lie there as a PDF under its own
 * name, whole or not at all.
 */
import { randomBytes } from 'node:crypto';
import { mkdir, readdir, readFile, rename, rm, stat, unlink, writeFile } from 'node:fs/promises';
import { join } from 'node:path';

export interface SheetInTray {
  readonly name: string;
  readonly at: Date;
}

export interface LabelPrinter {
  /** Prints under that name; a second sheet of the same name takes the first one's place. */
  readonly print: (name: string, pdf: Buffer) => Promise<void>;
  /** What lies in the tray, the latest first. */
  readonly tray: () => Promise<SheetInTray[]>;
  /** Takes every sheet of those jobs out of the tray. */
  readonly discard: (jobIds: readonly number[]) => Promise<void>;
  /** One sheet; undefined when it is not there. */
  readonly sheet: (name: string) => Promise<Buffer | undefined>;
}

/** The tray holds so many sheets; the oldest fall out. */
const MOST_SHEETS = 200;
const SHEET_NAME = /^[a-z0-9][a-z0-9-]{0,80}\.pdf$/;

export const labelPrinter = (folder: string): LabelPrinter => {
  const tray = async (): Promise<SheetInTray[]> => {
    await mkdir(folder, { recursive: true });
    const names = (await readdir(folder)).filter((name) => SHEET_NAME.test(name));
    const sheets = await Promise.all(
      names.map(async (name) => ({ name, at: (await stat(join(folder, name))).mtime })),
    );
    return sheets.sort((a, b) => b.at.getTime() - a.at.getTime() || a.name.localeCompare(b.name));
  };
  return {
    tray,
    print: async (name, pdf) => {
      if (!SHEET_NAME.test(name)) throw new Error(`No name for a sheet: ${name}`);
      await mkdir(folder, { recursive: true });
      const unfinished = join(folder, `.${randomBytes(6).toString('hex')}`);
      await writeFile(unfinished, pdf);
      await rename(unfinished, join(folder, name));
      for (const { name: oldest } of (await tray()).slice(MOST_SHEETS))
        await unlink(join(folder, oldest));
    },
    discard: async (jobIds) => {
      const ids = new Set(jobIds.map(String));
      for (const { name } of await tray()) {
        const jobId = /-job-(\d+)\.pdf$/.exec(name)?.[1];
        if (jobId !== undefined && ids.has(jobId)) await rm(join(folder, name), { force: true });
      }
    },
    sheet: async (name) => {
      if (!SHEET_NAME.test(name)) return undefined;
      try {
        return await readFile(join(folder, name));
      } catch (error) {
        if ((error as NodeJS.ErrnoException).code === 'ENOENT') return undefined;
        throw error;
      }
    },
  };
};
