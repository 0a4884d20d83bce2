import type { components } from './schema'

type Schemas = components['schemas']

export type Command = Schemas['Given']['command']
export type Answer = Schemas['Answer']
export type Person = Schemas['Person']
export type SiteName = Schemas['SiteName']
export type SiteStanding = Schemas['SiteStanding']
export type PlanRow = Schemas['PlanRow']
export type PlanPart = Schemas['PlanPart']
export type PageDetail = Schemas['PageDetail']
export type ZoneDetail = Schemas['ZoneDetail']
export type PlacedSection = Schemas['PlacedSection']
export type ReachEffect = Schemas['Effect']
export type SharedInfo = Schemas['SharedInfo']
export type Section = Schemas['Section']
export type SectionElement = Schemas['Element']
export type Property = Schemas['Property']
export type Catalog = Schemas['Catalog']
export type TemplateInfo = Schemas['TemplateInfo']
export type KindInfo = Schemas['KindInfo']
export type PatternInfo = Schemas['PatternInfo']
export type Glyph = Schemas['Glyph']
export type PageVersion = Schemas['Version']
export type ComparedPart = Schemas['Part']
export type SentProof = Schemas['SentProof']
export type MediaStand = Schemas['MediaStand']
export type MediaInfo = Schemas['MediaInfo']
export type Finding = Schemas['Finding']
export type Findings = Schemas['Findings']
export type SitemapTable = Schemas['SitemapTable']
export type ThemeDetail = Schemas['ThemeDetail']
export type Waiting = Schemas['Waiting']
export type Preview = Schemas['Preview']
export type Logged = Schemas['Logged']
export type PlaceFor = Schemas['PlaceFor']
export type NewAddress = Schemas['Address']
export type Fit = Schemas['Fit']

/** What a property holds, as it is sent. */
export type Value = string | number | boolean | Group[] | { toFill: string } | { bound: string }
export type Group = { [key: string]: unknown }
export type Values = { [key: string]: unknown }
