package venue.server.delivery;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.apache.commons.codec.digest.DigestUtils;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Hash;

/**
 * Bytes on their way: held in memory, or where they lie on the disk, for they may be many.
 *
 * @param file absent where they are held
 */
record Content(byte[] bytes, @Nullable Path file) {

    static Content of(byte[] bytes) {
        return new Content(bytes, null);
    }

    private interface Read<T> {
        T of(Path file) throws IOException;
    }

    private static <T> T read(Path file, Read<T> read) {
        try {
            return read.of(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    long size() {
        return file == null ? bytes.length : read(file, Files::size);
    }

    /** SHA-256, 64 hexadecimal digits. */
    String hash() {
        return (file == null ? Hash.over(bytes) : read(file, Hash::over)).text();
    }

    /** MD5, 32 hexadecimal digits: by which object storage tells contents apart. */
    String md5() {
        return read(file == null ? Path.of("") : file, f -> {
            try (InputStream in = open()) {
                return DigestUtils.md5Hex(in);
            }
        });
    }

    InputStream open() {
        return file == null ? new ByteArrayInputStream(bytes) : read(file, Files::newInputStream);
    }
}
