package venue.server.delivery;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.mockito.Mockito;
import software.amazon.awssdk.core.exception.SdkClientException;
import software.amazon.awssdk.core.sync.RequestBody;
import software.amazon.awssdk.services.s3.S3Client;
import software.amazon.awssdk.services.s3.model.PutObjectRequest;
import software.amazon.awssdk.services.s3.model.UploadPartRequest;
import venue.server.ObjectStorage;

class InPartsTest {

    private static final int PART = 5 << 20;

    @TempDir
    private Path top;

    @Test
    void whatIsTooLongForOneRequestArrivesWholeOrNotAtAll() throws Exception {
        byte[] bytes = new byte[2 * PART + 77];
        new Random(3).nextBytes(bytes);
        Path file = Files.write(top.resolve("long"), bytes);
        PutObjectRequest whole = PutObjectRequest.builder()
                .bucket(ObjectStorage.BUCKET)
                .key("long")
                .contentType("application/zip")
                .cacheControl("no-store")
                .build();
        try (ObjectStorage storage = ObjectStorage.start(top)) {
            InParts.put(storage.client(), whole, new Content(new byte[0], file), PART);
            assertThat(storage.all("long").get("long")).isEqualTo(bytes);
            assertThat(storage.client()
                            .headObject(r -> r.bucket(ObjectStorage.BUCKET).key("long"))
                            .contentType())
                    .isEqualTo("application/zip");
            S3Client failing = Mockito.spy(storage.client());
            Mockito.doCallRealMethod()
                    .doThrow(SdkClientException.create("cut"))
                    .when(failing)
                    .uploadPart(Mockito.any(UploadPartRequest.class), Mockito.any(RequestBody.class));
            PutObjectRequest other = whole.toBuilder().key("cut").build();
            assertThatThrownBy(() -> InParts.put(failing, other, new Content(new byte[0], file), PART))
                    .isInstanceOf(SdkClientException.class);
            assertThat(storage.all("cut")).isEmpty();
            assertThat(storage.client()
                            .listMultipartUploads(r -> r.bucket(ObjectStorage.BUCKET))
                            .uploads())
                    .as("nothing of it is left there")
                    .isEmpty();
        }
    }
}
