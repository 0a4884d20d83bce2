package venue.server;

import java.io.IOException;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;
import venue.store.media.FirstPage;

/** Draws the first page of a document: the program that the server starts for each, with little memory and time. */
@Command(name = FirstPageVerb.NAME, hidden = true)
final class FirstPageVerb implements Callable<Integer> {

    static final String NAME = "first-page";

    @Parameters(index = "0")
    private Path pdf = Path.of("");

    @Parameters(index = "1")
    private Path to = Path.of("");

    @Override
    public Integer call() throws IOException {
        FirstPage.draw(pdf, to);
        return 0;
    }
}
