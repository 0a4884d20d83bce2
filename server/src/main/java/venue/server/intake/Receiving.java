package venue.server.intake;

import jakarta.servlet.MultipartConfigElement;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.util.unit.DataSize;
import venue.store.database.DataFolder;

/** Files that are being received lie in the data folder, on the disk that will keep them. */
@Configuration(proxyBeanMethods = false)
class Receiving {

    private static final long MOST_FILE = DataSize.ofMegabytes(510).toBytes();
    private static final long MOST_REQUEST = DataSize.ofMegabytes(512).toBytes();

    @Bean
    MultipartConfigElement multipart(DataFolder folder) {
        return new MultipartConfigElement(folder.incoming().toString(), MOST_FILE, MOST_REQUEST, 0);
    }
}
