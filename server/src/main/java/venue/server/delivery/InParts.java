package venue.server.delivery;

import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import software.amazon.awssdk.core.exception.SdkException;
import software.amazon.awssdk.core.sync.RequestBody;
import software.amazon.awssdk.services.s3.S3Client;
import software.amazon.awssdk.services.s3.model.CompletedPart;
import software.amazon.awssdk.services.s3.model.PutObjectRequest;

/** Sends what is too long for one request, of which storage takes 5 GB at most: each part is tried again by itself. */
final class InParts {

    /** What is longer goes in parts. */
    static final long FROM = 1L << 30;

    static final int PART = 64 << 20;
    private static final int MOST = 10_000;

    private final S3Client client;
    private final PutObjectRequest whole;
    private final String upload;

    private InParts(S3Client client, PutObjectRequest whole) {
        this.client = client;
        this.whole = whole;
        upload = client.createMultipartUpload(r -> r.bucket(whole.bucket())
                        .key(whole.key())
                        .contentType(whole.contentType())
                        .cacheControl(whole.cacheControl()))
                .uploadId();
    }

    /** @param part how long each is, 5 MB at least; longer where there would be more than 10,000 */
    static void put(S3Client client, PutObjectRequest whole, Content content, int part) throws IOException {
        InParts parts = new InParts(client, whole);
        try {
            parts.send(content, (int) Math.max(part, content.size() / MOST + 1));
        } catch (IOException | RuntimeException failed) {
            parts.leave(failed);
            throw failed;
        }
    }

    /** What lies there of it is let go; why it failed is told, and not that this did, too. */
    private void leave(Exception failed) {
        try {
            client.abortMultipartUpload(
                    r -> r.bucket(whole.bucket()).key(whole.key()).uploadId(upload));
        } catch (SdkException also) {
            failed.addSuppressed(also);
        }
    }

    private void send(Content content, int length) throws IOException {
        List<CompletedPart> sent = new ArrayList<>();
        try (InputStream in = content.open()) {
            for (long left = content.size(); left > 0; left -= length) {
                byte[] bytes = in.readNBytes((int) Math.min(length, left));
                if (bytes.length < Math.min(length, left)) {
                    throw new EOFException(whole.key() + " became shorter on its way");
                }
                int number = sent.size() + 1;
                String tag = client.uploadPart(
                                r -> r.bucket(whole.bucket())
                                        .key(whole.key())
                                        .uploadId(upload)
                                        .partNumber(number),
                                RequestBody.fromBytes(bytes))
                        .eTag();
                sent.add(CompletedPart.builder().partNumber(number).eTag(tag).build());
            }
        }
        client.completeMultipartUpload(
                r -> r.bucket(whole.bucket()).key(whole.key()).uploadId(upload).multipartUpload(m -> m.parts(sent)));
    }
}
