/** Where a picture is had, by the hash that documents name it by. */
export const pictureAddress = (file: string) => `/api/library/pictures/${file}`;
