package venue.store.upkeep;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import venue.core.basics.fault.Refusal;
import venue.store.database.DataFolder;

/** Whoever copies the files of a folder has it, so that nobody removes one meanwhile; across processes, too. */
final class FilesLock {

    private FilesLock() {}

    /** Work that is done while the lock is held. */
    interface Work<T> {
        T run() throws IOException;
    }

    /** Does something while nobody else copies or removes files; refused where somebody does. */
    static <T> T holding(Path folder, Work<T> work) {
        try (FileChannel channel = FileChannel.open(
                folder.resolve(DataFolder.FILES_LOCK), StandardOpenOption.CREATE, StandardOpenOption.WRITE)) {
            requireFree(channel);
            return work.run();
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private static void requireFree(FileChannel channel) throws IOException {
        FileLock lock = null;
        try {
            lock = channel.tryLock();
        } catch (OverlappingFileLockException here) {
            // By this process itself.
        }
        if (lock == null) {
            throw Refusal.badInput(
                    "files-busy",
                    "files",
                    "A backup is being made, or files are being removed.",
                    "Try again when that is done.");
        }
    }
}
