export default function Loading() {
  return (
    <p role="status" className="p-8 text-soft">
      Opening…
    </p>
  );
}
