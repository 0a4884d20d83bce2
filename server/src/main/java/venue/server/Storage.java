package venue.server;

import java.nio.file.Path;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Option;
import venue.server.delivery.BackupBucket;

/** How object storage is reached that a verb names as {@code s3://BUCKET/PREFIX}: as it is set, or as is said here. */
final class Storage {

    @Option(names = "--endpoint", description = "The address of object storage (as it is set, or that of the region).")
    @Nullable
    String endpoint;

    @Option(names = "--region", description = "Its region (as it is set).")
    @Nullable
    String region;

    @Option(names = "--path-style", description = "The bucket stands in the path, not in the host name.")
    boolean pathStyle;

    @Option(names = "--keys", description = "A file with the lines id = … and secret = …, in place of the environment.")
    @Nullable
    Path keys;

    /** @param folder whose settings are meant */
    BackupBucket open(String where, Path folder) {
        return BackupBucket.open(where, reached(Configured.read(folder, System.getenv())));
    }

    private BackupBucket.Reached reached(Map<String, Object> set) {
        return new BackupBucket.Reached(
                        Objects.requireNonNullElse(endpoint, text(set, "s3-endpoint")),
                        Objects.requireNonNullElse(region, text(set, "s3-region")),
                        pathStyle || text(set, "s3-path-style").equals("true"),
                        text(set, "s3-key-id"),
                        text(set, "s3-key-secret"))
                .with(keys);
    }

    private static String text(Map<String, Object> set, String key) {
        return String.valueOf(set.getOrDefault(Configured.property(key), ""));
    }
}
