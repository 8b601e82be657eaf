declare module 'piexifjs' {
  type Tags = Readonly<Record<string, Readonly<Record<number, unknown>>>>;
  const piexif: {
    readonly ImageIFD: Readonly<Record<'Orientation' | 'Make', number>>;
    readonly GPSIFD: Readonly<Record<'GPSLatitudeRef' | 'GPSLatitude' | 'GPSLongitudeRef' | 'GPSLongitude', number>>;
    readonly dump: (tags: Tags) => string;
    readonly insert: (exif: string, jpegUrl: string) => string;
  };
  export default piexif;
}
