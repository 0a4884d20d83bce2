package venue.server.theme;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.server.here.Here;

/** The theme's screen: settings in order, contrast, looks, and a page of every kind for the contact sheet. */
@RestController
@RequestMapping("/api/sites/{site}/theme")
class ThemeController {

    @GetMapping
    ThemeDetail theme(Here here) {
        return ThemeDetail.of(here.now());
    }
}
