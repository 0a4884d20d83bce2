package venue.server.setup;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import venue.server.app.Origins;
import venue.server.app.Settings;
import venue.store.link.Links;
import venue.store.link.PersonalLink;
import venue.store.people.Persons;

/** Prints the code of a folder that nobody has set up: a new one at each start, good until it is used. */
@Component
class SetUpCode {

    private static final Logger LOG = LoggerFactory.getLogger(SetUpCode.class);

    private final Persons persons;
    private final Links links;
    private final Origins origins;
    private final Settings settings;

    SetUpCode(Persons persons, Links links, Origins origins, Settings settings) {
        this.persons = persons;
        this.links = links;
        this.origins = origins;
        this.settings = settings;
    }

    @EventListener(ApplicationReadyEvent.class)
    void ready() {
        String at = origins.ofInterface().get(0);
        if (!persons.any()) {
            LOG.info("Set up at {}/ with the code {}", at, links.makeCode(PersonalLink.Purpose.SET_UP));
        } else if (settings.demoPassword() == null) {
            LOG.info("Venue is at {}/", at);
        }
    }
}
