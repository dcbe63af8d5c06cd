import {
  MOST_CLICKS,
  type Picture,
  type PicturePoint,
  type Workpiece,
  type Remedy,
} from '@keen-sinew/core';

/** The document with its pictures replaced. */
export const withPictures = (piece: Workpiece, pictures: readonly Picture[]): Workpiece => ({
  ...piece,
  references: { ...piece.references, pictures: [...pictures] },
});

/** The document with part of one picture replaced. */
export const withPicture = (piece: Workpiece, id: string, part: Partial<Picture>): Workpiece =>
  withPictures(
    piece,
    piece.references.pictures.map((picture) =>
      picture.id === id ? { ...picture, ...part } : picture,
    ),
  );

/** A picture with a landmark put at a point; `again` keeps the earlier clicks, for their mean. */
export function clicked(
  picture: Picture,
  landmarkId: string,
  at: PicturePoint,
  again: boolean,
): Pick<Picture, 'landmarks'> {
  const before = again ? (picture.landmarks[landmarkId] ?? []) : [];
  const clicks: [number, number][] = [...before, rounded(at)];
  return { landmarks: { ...picture.landmarks, [landmarkId]: clicks.slice(-MOST_CLICKS) } };
}

/** A picture with a landmark, all its clicks, moved by so many pixels. */
export function nudged(
  picture: Picture,
  landmarkId: string,
  [du, dv]: PicturePoint,
): Pick<Picture, 'landmarks'> {
  const clicks = (picture.landmarks[landmarkId] ?? []).map(([u, v]) => rounded([u + du, v + dv]));
  return { landmarks: { ...picture.landmarks, [landmarkId]: clicks } };
}

/** A picture without a landmark. */
export function without(picture: Picture, landmarkId: string): Pick<Picture, 'landmarks'> {
  const { [landmarkId]: _, ...landmarks } = picture.landmarks;
  return { landmarks };
}

/**
 * A picture with its scale or its level changed as a remedy says; undefined where the hand must do it:
 * a landmark that is to be moved, a scale that is taken from a bone.
 */
export function remedied(picture: Picture, remedy: Remedy): Partial<Picture> | undefined {
  const { scale, level } = picture;
  if (remedy.kind === 'rescale' && scale?.by === 'length')
    return { scale: { ...scale, mm: Math.round(scale.mm * remedy.by * 1000) / 1000 } };
  if (remedy.kind !== 'relevel') return undefined;
  const from = level?.from ?? [0, picture.heightPx / 2];
  const to = level?.to ?? [picture.widthPx, picture.heightPx / 2];
  // Turning the level line one way turns the picture that it levels the other way.
  const rad = (-remedy.by * Math.PI) / 180;
  const [du, dv] = [to[0] - from[0], to[1] - from[1]];
  const [c, s] = [Math.cos(rad), Math.sin(rad)];
  const turned = rounded([from[0] + du * c + dv * s, from[1] - du * s + dv * c]);
  return { level: { from: [...from] as [number, number], to: turned } };
}

/** A hundredth of a pixel is finer than any click. */
const rounded = ([u, v]: PicturePoint): [number, number] => [
  Math.round(u * 100) / 100,
  Math.round(v * 100) / 100,
];
