package venue.server;

import org.junit.jupiter.api.BeforeEach;
import org.springframework.boot.test.web.server.LocalServerPort;

/** A server with the demo, on which a manager and an editor are signed in. */
@ServerTest
abstract class TwoAtWork {

    @LocalServerPort
    int port;

    Client maja;
    Client tomas;

    @BeforeEach
    void signIn() {
        maja = Client.signedIn(port, "maja");
        tomas = Client.signedIn(port, "tomas");
    }
}
