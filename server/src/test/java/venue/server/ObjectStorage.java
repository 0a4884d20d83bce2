package venue.server;

import java.io.IOException;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;
import software.amazon.awssdk.auth.credentials.AwsBasicCredentials;
import software.amazon.awssdk.auth.credentials.StaticCredentialsProvider;
import software.amazon.awssdk.http.urlconnection.UrlConnectionHttpClient;
import software.amazon.awssdk.regions.Region;
import software.amazon.awssdk.services.s3.S3Client;
import software.amazon.awssdk.services.s3.model.S3Object;

/** A server that speaks S3, in a process of its own, with one bucket. */
public final class ObjectStorage implements AutoCloseable {

    public static final String BUCKET = "moor";
    static final String ID = "somebody";
    static final String SECRET = "a-secret-of-theirs";

    private final Process process;
    private final int port;
    private final S3Client client;

    private ObjectStorage(Process process, int port) {
        this.process = process;
        this.port = port;
        client = S3Client.builder()
                .httpClientBuilder(UrlConnectionHttpClient.builder())
                .endpointOverride(URI.create("http://127.0.0.1:" + port))
                .region(Region.US_EAST_1)
                .forcePathStyle(true)
                .credentialsProvider(StaticCredentialsProvider.create(AwsBasicCredentials.create(ID, SECRET)))
                .build();
    }

    public static ObjectStorage start(Path folder) throws IOException, InterruptedException {
        return start(folder, "aws-v2-or-v4");
    }

    /** One that lets everybody read, as nginx does, and write. */
    static ObjectStorage open(Path folder) throws IOException, InterruptedException {
        return start(folder, "none");
    }

    private static ObjectStorage start(Path folder, String lets) throws IOException, InterruptedException {
        int port = Nginx.freePort();
        Path settings = Files.writeString(folder.resolve("storage.properties"), """
                s3proxy.authorization=%s
                s3proxy.identity=%s
                s3proxy.credential=%s
                s3proxy.endpoint=http://127.0.0.1:%d
                jclouds.provider=transient-nio2
                jclouds.identity=any
                jclouds.credential=any
                """.formatted(lets, ID, SECRET, port));
        Process process = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-Xmx256m",
                        "-jar",
                        Path.of("target/object-storage/s3proxy.jar")
                                .toAbsolutePath()
                                .toString(),
                        "--properties",
                        settings.toString())
                .redirectErrorStream(true)
                .redirectOutput(folder.resolve("storage.log").toFile())
                .start();
        while (!Nginx.listens(port)) {
            if (process.waitFor(20, TimeUnit.MILLISECONDS)) {
                throw new AssertionError("It did not start: " + Files.readString(folder.resolve("storage.log")));
            }
        }
        ObjectStorage storage = new ObjectStorage(process, port);
        storage.client.createBucket(b -> b.bucket(BUCKET));
        return storage;
    }

    int port() {
        return port;
    }

    public S3Client client() {
        return client;
    }

    /** All whose keys begin so, by key. */
    public Map<String, byte[]> all(String prefix) {
        Map<String, byte[]> all = new TreeMap<>();
        client.listObjectsV2Paginator(r -> r.bucket(BUCKET).prefix(prefix)).contents().stream()
                .map(S3Object::key)
                .forEach(key -> all.put(
                        key,
                        client.getObjectAsBytes(r -> r.bucket(BUCKET).key(key)).asByteArray()));
        return all;
    }

    @Override
    public void close() {
        client.close();
        process.destroyForcibly();
        process.onExit().join();
    }
}
