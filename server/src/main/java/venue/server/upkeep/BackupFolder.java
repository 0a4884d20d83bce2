package venue.server.upkeep;

import java.nio.file.Path;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import venue.store.database.DataFolder;
import venue.store.upkeep.Backups;

/** Where backups lie that the server makes: as it is set, or within the data folder. */
@Component
public class BackupFolder {

    private final Path data;
    private final Path path;
    private final String bucket;

    BackupFolder(
            DataFolder folder,
            @Value("${venue.backup-folder:}") String set,
            @Value("${venue.backup-bucket:}") String bucket) {
        this.bucket = bucket.strip();
        data = folder.path();
        path = set.isBlank()
                ? folder.path().resolve(DataFolder.BACKUPS)
                : Path.of(set).toAbsolutePath();
    }

    Path data() {
        return data;
    }

    Path path() {
        return path;
    }

    /** Where each is sent, too, as {@code s3://BUCKET/PREFIX}; empty for nowhere. */
    String bucket() {
        return bucket;
    }

    /** Whether there is a backup in it. */
    public boolean isBackedUp() {
        return !Backups.all(path).isEmpty();
    }
}
