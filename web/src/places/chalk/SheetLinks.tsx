import { Button, Dropdown } from "antd";
import { fromThisPage } from "../../api/client";

/** What leaves the chalk table: the printed sheet, the job file, the tables. */
export function SheetLinks({ id }: { id: string }) {
  const at = (file: string) => fromThisPage(`/api/v1/fittings/${id}/${file}`);
  return (
    <Dropdown.Button
      type="primary"
      trigger={["click"]}
      href={at("sheet.pdf")}
      menu={{
        items: [
          { key: "a4", label: <a href={at("sheet.pdf?paper=a4")}>Chalk sheet on A4</a> },
          { key: "letter", label: <a href={at("sheet.pdf?paper=letter")}>Chalk sheet on Letter</a> },
          { key: "job", label: <a href={at("job.vemble.json")}>Job file, to compute elsewhere</a> },
          { key: "chalk", label: <a href={at("chalk.csv")}>Chalk tables as CSV</a> },
          { key: "hems", label: <a href={at("hems.csv")}>Hem tables as CSV</a> },
          { key: "pins", label: <a href={at("pins.csv")}>Pins as CSV</a> },
        ],
      }}
      buttonsRender={([print]) => [
        print,
        <Button key="more" type="primary" aria-label="Other files">
          ▾
        </Button>,
      ]}
    >
      Print the sheet
    </Dropdown.Button>
  );
}
