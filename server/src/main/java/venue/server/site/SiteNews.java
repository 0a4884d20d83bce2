package venue.server.site;

import venue.server.plan.PlanPart;

/** How a site stands, and what differs in its plan since a step that a window knows. */
public record SiteNews(SiteStanding standing, PlanPart plan) {}
