/** How large something is, in words: “640 KB”, “2.5 MB”. */
export const sizeWords = (bytes: number) =>
  bytes < 1e6 ? `${Math.ceil(bytes / 1e3)} KB` : `${(bytes / 1e6).toFixed(1)} MB`
