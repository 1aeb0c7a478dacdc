/** A link to something that the server sets, such as a PDF: opened beside the page. */
export function FileLink({ label, href, className = '' }: { label: string; href: string; className?: string }) {
  return (
    <a
      href={href}
      target="_blank"
      rel="noopener"
      className={`flex min-h-[56px] items-center justify-center rounded-lg border-2 border-ink bg-paper px-4 py-2 text-center font-text text-lead font-bold text-ink ${className}`}
    >
      {label}
    </a>
  );
}
