package venue.server.listing;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.edition.edition.Edition;
import venue.core.show.gathering.Topics;
import venue.server.here.Here;

/** The topics of a site. */
@RestController
@RequestMapping("/api/sites/{site}/topics")
class TopicController {

    /** @param named by how many pages it is named or linked to */
    record TopicUse(String id, String title, int named) {}

    /** By title. */
    @GetMapping
    List<TopicUse> topics(Here here) {
        Edition edition = here.working();
        return Topics.all(edition).stream()
                .map(t -> new TopicUse(t.id(), t.title(), Topics.count(edition, t.id())))
                .toList();
    }
}
