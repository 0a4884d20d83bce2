/** Languages that a site can be given, by their tags (BCP 47), in their English names. */
const TAGS =
  'cs da de en en-GB en-US es et fi fr ga hr hu is it lt lv nb nl pl pt ro sk sl sv tr cy uk ar fa he'.split(
    ' ',
  )
const names = new Intl.DisplayNames(['en-GB'], { type: 'language' })

export const LANGUAGES = TAGS.map((tag) => ({ value: tag, title: names.of(tag) ?? tag })).sort((a, b) =>
  a.title.localeCompare(b.title),
)
