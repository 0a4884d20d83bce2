package venue.server.delivery;

import java.util.function.Supplier;
import software.amazon.awssdk.core.exception.SdkException;
import software.amazon.awssdk.services.s3.model.S3Exception;

/** What object storage answers in place of what was asked, in words, with the way out. */
final class StorageTrouble {

    private static final int LONGEST = 200;

    private StorageTrouble() {}

    /** Does it; {@link TargetTrouble} where the storage doesn't. */
    static <T> T told(String where, Supplier<T> work) {
        try {
            return work.get();
        } catch (S3Exception answered) {
            throw new TargetTrouble(
                    where + " answered " + answered.statusCode() + " " + said(answered) + ".",
                    fix(answered.statusCode()),
                    answered);
        } catch (SdkException failed) {
            throw new TargetTrouble(
                    where + " can’t be reached: " + first(failed),
                    "Look at the endpoint, and whether this machine may connect to it. It is tried again by itself.",
                    failed);
        }
    }

    /** The code that it gives, as {@code NoSuchBucket}; empty for none. */
    static String said(S3Exception answered) {
        return answered.awsErrorDetails() == null
                ? ""
                : String.valueOf(answered.awsErrorDetails().errorCode());
    }

    private static String first(Exception failed) {
        String words = String.valueOf(failed.getMessage()).replaceAll("\\s+", " ");
        return words.substring(0, Math.min(words.length(), LONGEST));
    }

    private static String fix(int status) {
        return switch (status) {
            case 401, 403 -> "Look at the keys, and whether they may read, write, list and remove there.";
            case 404 -> "Look at the name of the bucket, and whether it stands in the host name or in the path.";
            case 301, 307, 400 -> "Look at the region and the endpoint.";
            default -> "It is tried again by itself. Where it goes on so, ask whoever runs that storage.";
        };
    }
}
