package venue.server;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Path;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import venue.server.app.FolderParts;
import venue.server.app.Origins;
import venue.server.beginning.SiteMaker;
import venue.store.database.DataFolder;

/** Does what verbs hand to the server that has their folder, with the server's own parts: whoever is to hear of it does. */
@Component
class HandedVerbs {

    private final DataFolder folder;
    private final OwnFolder own;
    private @Nullable Channel channel;

    HandedVerbs(DataFolder folder, FolderParts parts, SiteMaker siteMaker, Origins origins) {
        this.folder = folder;
        own = new OwnFolder(
                parts,
                siteMaker,
                host -> host.isEmpty() ? origins.ofInterface().get(0) : origins.origin(host),
                false,
                () -> {});
    }

    @EventListener(ApplicationReadyEvent.class)
    void ready() throws IOException {
        channel = new Channel(folder, this::run);
    }

    private Channel.Answer run(Path where, List<String> line) {
        StringWriter out = new StringWriter();
        StringWriter err = new StringWriter();
        Venue venue = new Venue(own, where);
        int status = Venue.run(venue, new PrintWriter(out), new PrintWriter(err), line.toArray(String[]::new));
        return new Channel.Answer(status, out.toString(), err.toString());
    }

    @PreDestroy
    void close() throws IOException {
        if (channel != null) {
            channel.close();
        }
    }
}
