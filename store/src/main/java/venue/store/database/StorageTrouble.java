package venue.store.database;

import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.ReadOnlyFileSystemException;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.TransactionSystemException;
import org.sqlite.SQLiteException;

/** Why the data folder does not take or give what is asked of it. Nothing was changed; reading goes on where it can. */
public enum StorageTrouble {
    /** No room is left on the disk, or in what the folder's owner may use of it. */
    DISK_FULL(
            "disk-full",
            "The server's disk is full: nothing more can be kept.",
            "Whoever runs the server makes room; it goes on by itself."),
    /** The folder, or the disk it lies on, can't be written. */
    NOT_WRITABLE(
            "not-writable",
            "The server can't write its data folder: nothing more can be kept.",
            "Whoever runs the server gives it back the right to write there; it goes on by itself."),
    /** Something else holds the database. */
    BUSY("storage-busy", "Something else holds the server's database.", "It is tried again by itself."),
    /** The database's file is not what was written. */
    DAMAGED(
            "database-damaged",
            "The server's database is damaged.",
            "Whoever runs the server stops it and puts back a backup of the data folder.");

    /** How codes begin that say that a file can't be written, or not read. */
    private static final List<String> BARRED =
            List.of("SQLITE_READONLY", "SQLITE_CANTOPEN", "SQLITE_PERM", "SQLITE_IOERR");

    private final String code;
    private final String says;
    private final String fix;

    StorageTrouble(String code, String says, String fix) {
        this.code = code;
        this.says = says;
        this.fix = fix;
    }

    /** A stable name, in lower case with hyphens. */
    public String code() {
        return code;
    }

    public String says() {
        return says;
    }

    /** The way out, as a sentence for whoever wanted something kept. */
    public String fix() {
        return fix;
    }

    /** The trouble behind a failure; empty when the failure has another cause. */
    public static Optional<StorageTrouble> behind(Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = before(cause)) {
            Optional<StorageTrouble> found = of(cause);
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    /** SQLite rolls back by itself where the disk is full; that there is nothing left to roll back must not hide why. */
    private static @Nullable Throwable before(Throwable failure) {
        return failure instanceof TransactionSystemException t && t.getApplicationException() != null
                ? t.getApplicationException()
                : failure.getCause();
    }

    private static Optional<StorageTrouble> of(Throwable cause) {
        if (cause instanceof SQLiteException sqlite) {
            return ofCode(sqlite.getResultCode().name());
        }
        if (cause instanceof AccessDeniedException || cause instanceof ReadOnlyFileSystemException) {
            return Optional.of(NOT_WRITABLE);
        }
        return cause instanceof IOException && cause.getMessage() != null
                ? ofSystem(cause.getMessage())
                : Optional.empty();
    }

    /** By SQLite's result codes, the extended ones among them. */
    private static Optional<StorageTrouble> ofCode(String code) {
        if (code.equals("SQLITE_FULL")) {
            return Optional.of(DISK_FULL);
        }
        if (code.startsWith("SQLITE_CORRUPT") || code.equals("SQLITE_NOTADB")) {
            return Optional.of(DAMAGED);
        }
        if (code.startsWith("SQLITE_BUSY") || code.startsWith("SQLITE_LOCKED")) {
            return Optional.of(BUSY);
        }
        return BARRED.stream().anyMatch(code::startsWith) ? Optional.of(NOT_WRITABLE) : Optional.empty();
    }

    /** By the words of the operating system, which is all that Java passes on. */
    private static Optional<StorageTrouble> ofSystem(String message) {
        if (message.contains("No space left") || message.contains("quota exceeded")) {
            return Optional.of(DISK_FULL);
        }
        return message.contains("Read-only file system") || message.contains("Permission denied")
                ? Optional.of(NOT_WRITABLE)
                : Optional.empty();
    }
}
