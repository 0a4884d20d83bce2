package venue.server.delivery;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Duration;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import software.amazon.awssdk.auth.credentials.AwsBasicCredentials;
import software.amazon.awssdk.auth.credentials.StaticCredentialsProvider;
import software.amazon.awssdk.core.ResponseBytes;
import software.amazon.awssdk.core.ResponseInputStream;
import software.amazon.awssdk.core.checksums.RequestChecksumCalculation;
import software.amazon.awssdk.core.checksums.ResponseChecksumValidation;
import software.amazon.awssdk.core.sync.RequestBody;
import software.amazon.awssdk.http.urlconnection.UrlConnectionHttpClient;
import software.amazon.awssdk.regions.Region;
import software.amazon.awssdk.services.s3.S3Client;
import software.amazon.awssdk.services.s3.S3ClientBuilder;
import software.amazon.awssdk.services.s3.S3Configuration;
import software.amazon.awssdk.services.s3.model.Delete;
import software.amazon.awssdk.services.s3.model.GetObjectResponse;
import software.amazon.awssdk.services.s3.model.ListObjectsV2Request;
import software.amazon.awssdk.services.s3.model.ListObjectsV2Response;
import software.amazon.awssdk.services.s3.model.NoSuchKeyException;
import software.amazon.awssdk.services.s3.model.ObjectIdentifier;
import software.amazon.awssdk.services.s3.model.PutObjectRequest;
import software.amazon.awssdk.services.s3.model.S3Error;
import software.amazon.awssdk.services.s3.model.S3Exception;
import venue.store.delivery.Delivery.Bucket;

/** A bucket of object storage that speaks S3, or what of it begins with a prefix. */
final class ObjectTarget implements Target {

    private static final Duration ATTEMPT = Duration.ofSeconds(10);
    private static final Duration IN_ALL = Duration.ofSeconds(25);
    private static final int AT_ONCE = 8;
    private static final int REMOVED_AT_ONCE = 500;
    private static final int OTHER_IS_THERE = 412;
    private static final int AT_THE_SAME_TIME = 409;
    private static final int NOT_THERE = 404;
    private static final String OWN = ".venue/";

    private final Bucket bucket;
    private final S3Client client;
    private final String before;
    private final boolean redirects;

    ObjectTarget(Bucket bucket, TargetKeys keys) {
        this(bucket, keys, ATTEMPT, IN_ALL);
    }

    /**
     * The same for what takes longer.
     *
     * @param attempt how long an answer is waited for
     * @param inAll how long all attempts take together
     */
    ObjectTarget(Bucket bucket, TargetKeys keys, Duration attempt, Duration inAll) {
        this.bucket = bucket;
        before = bucket.prefix().isEmpty() ? "" : bucket.prefix() + "/";
        redirects = bucket.redirects();
        S3ClientBuilder builder = S3Client.builder()
                .httpClientBuilder(UrlConnectionHttpClient.builder()
                        .connectionTimeout(ATTEMPT)
                        .socketTimeout(ATTEMPT))
                .region(Region.of(bucket.region().isEmpty() ? "us-east-1" : bucket.region()))
                .credentialsProvider(
                        StaticCredentialsProvider.create(AwsBasicCredentials.create(keys.id(), keys.secret())))
                .serviceConfiguration(S3Configuration.builder()
                        .pathStyleAccessEnabled(bucket.pathStyle())
                        .chunkedEncodingEnabled(false)
                        .build())
                .requestChecksumCalculation(RequestChecksumCalculation.WHEN_REQUIRED)
                .responseChecksumValidation(ResponseChecksumValidation.WHEN_REQUIRED)
                .overrideConfiguration(o -> o.apiCallTimeout(inAll).apiCallAttemptTimeout(attempt));
        if (!bucket.endpoint().isEmpty()) {
            builder.endpointOverride(URI.create(bucket.endpoint()));
        }
        client = builder.build();
    }

    /** @param etag as it is listed: the MD5 of the bytes, where they were put in one and aren't enciphered */
    private record Listed(String key, long size, String etag) implements Found {
        @Override
        public boolean is(Content content) {
            return size == content.size() && etag.replace("\"", "").equals(content.md5());
        }
    }

    private <T> T on(Supplier<T> work) {
        return StorageTrouble.told(where(), work);
    }

    @Override
    public Optional<Got> get(String key) {
        return on(() -> {
            try {
                ResponseBytes<GetObjectResponse> got =
                        client.getObjectAsBytes(r -> r.bucket(bucket.name()).key(before + key));
                return Optional.of(new Got(
                        got.asByteArray(),
                        Objects.requireNonNullElse(got.response().eTag(), "")));
            } catch (NoSuchKeyException none) {
                return Optional.empty();
            }
        });
    }

    @Override
    public boolean fetch(String key, Path to) {
        return on(() -> {
            try (ResponseInputStream<GetObjectResponse> in =
                    client.getObject(r -> r.bucket(bucket.name()).key(before + key))) {
                Files.copy(in, to, StandardCopyOption.REPLACE_EXISTING);
                return true;
            } catch (NoSuchKeyException none) {
                return false;
            } catch (IOException cut) {
                throw new TargetTrouble(where() + " can’t be read: " + cut.getMessage() + ".", "Try it again.", cut);
            }
        });
    }

    @Override
    public void put(String key, Body body) {
        PutObjectRequest request = request(key, body).build();
        on(() -> body.content().size() > InParts.FROM
                ? inParts(request, body.content())
                : client.putObject(request, content(body.content())));
    }

    private boolean inParts(PutObjectRequest request, Content content) {
        try {
            InParts.put(client, request, content, InParts.PART);
            return true;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private PutObjectRequest.Builder request(String key, Body body) {
        PutObjectRequest.Builder request = PutObjectRequest.builder()
                .bucket(bucket.name())
                .key(before + key)
                .contentType(body.type())
                .cacheControl(body.kept());
        if (!body.encoding().isEmpty()) {
            request.contentEncoding(body.encoding());
        }
        if (!body.download().isEmpty()) {
            request.contentDisposition(body.download());
        }
        if (redirects && !body.leadsTo().isEmpty()) {
            request.websiteRedirectLocation(body.leadsTo());
        }
        return request;
    }

    /** Can be read again where an attempt fails. */
    private static RequestBody content(Content content) {
        return RequestBody.fromContentProvider(content::open, content.size(), "application/octet-stream");
    }

    @Override
    public Optional<String> putIf(String key, byte[] bytes, @Nullable String tag) {
        return on(() -> {
            PutObjectRequest.Builder request = request(key, Body.plain(bytes, "application/json"));
            if (tag == null) {
                request.ifNoneMatch("*");
            } else {
                request.ifMatch(tag);
            }
            try {
                String now = client.putObject(request.build(), content(Content.of(bytes)))
                        .eTag();
                // An answer that was cut says nothing: what lies there does.
                return now == null ? lying(key, bytes) : Optional.of(now);
            } catch (S3Exception answered) {
                return settled(key, bytes, answered);
            }
        });
    }

    /** An attempt that was cut may have arrived: what lies there says so. */
    private Optional<String> settled(String key, byte[] bytes, S3Exception answered) {
        boolean other = answered.statusCode() == OTHER_IS_THERE
                || answered.statusCode() == AT_THE_SAME_TIME
                || answered.statusCode() == NOT_THERE;
        if (!other
                || answered.statusCode() == NOT_THERE
                        && StorageTrouble.said(answered).equals("NoSuchBucket")) {
            throw answered;
        }
        return lying(key, bytes);
    }

    private Optional<String> lying(String key, byte[] bytes) {
        return get(key).filter(lies -> Arrays.equals(lies.bytes(), bytes)).map(Got::tag);
    }

    @Override
    public void remove(Collection<String> keys) {
        List<String> all = List.copyOf(keys);
        for (int from = 0; from < all.size(); from += REMOVED_AT_ONCE) {
            List<ObjectIdentifier> some = all.subList(from, Math.min(all.size(), from + REMOVED_AT_ONCE)).stream()
                    .map(k -> ObjectIdentifier.builder().key(before + k).build())
                    .toList();
            List<S3Error> left = on(() -> client.deleteObjects(r -> r.bucket(bucket.name())
                            .delete(Delete.builder().objects(some).quiet(true).build())))
                    .errors();
            if (!left.isEmpty()) {
                throw new TargetTrouble(
                        where() + " didn’t remove " + left.size() + " of " + some.size() + " objects: "
                                + left.get(0).code() + ".",
                        "Look whether the keys may remove there, and whether the bucket keeps all for a time.");
            }
        }
    }

    @Override
    public void each(String prefix, Consumer<Found> taker) {
        String token = null;
        do {
            ListObjectsV2Request.Builder request =
                    ListObjectsV2Request.builder().bucket(bucket.name()).prefix(before + prefix);
            if (token != null) {
                request.continuationToken(token);
            }
            ListObjectsV2Response some = on(() -> client.listObjectsV2(request.build()));
            some.contents()
                    .forEach(o -> taker.accept(new Listed(o.key().substring(before.length()), o.size(), o.eTag())));
            token = some.nextContinuationToken();
        } while (token != null);
    }

    @Override
    public boolean isEmpty() {
        return on(() -> client.listObjectsV2(r -> r.bucket(bucket.name()).prefix(before)).contents().stream()
                .allMatch(o -> o.key().startsWith(before + OWN)));
    }

    @Override
    public boolean isFolder() {
        return false;
    }

    @Override
    public int atOnce() {
        return AT_ONCE;
    }

    @Override
    public String where() {
        return bucket.where();
    }

    @Override
    public void close() {
        client.close();
    }
}
